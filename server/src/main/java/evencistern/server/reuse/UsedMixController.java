package evencistern.server.reuse;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.mix.RecipeWire;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Used mix over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/used-mixes")
class UsedMixController {
    private static final String USUAL_NEW = "perlite_coarse";

    private final UsedMixes usedMixes;
    private final UsedMixAdvice advice;

    UsedMixController(UsedMixes usedMixes, UsedMixAdvice advice) {
        this.usedMixes = usedMixes;
        this.advice = advice;
    }

    @GetMapping
    List<UsedMixAdvice.UsedListed> listUsedMixes(@PathVariable UUID garden) {
        return advice.list(new GardenId(garden));
    }

    /**
     * One of them, and what to do with it.
     *
     * @param next key of the crop it is for; the most sensitive where none is given
     * @param target pH wanted
     * @param air per cent wanted in a drained 15 cm column
     * @param fresh key of the component that is to bring it back
     * @param share per cent of it in a new mix, the rest of the mix {@code with}
     */
    @GetMapping("/{used}")
    UsedMixAdvice.UsedAdvice showUsedMix(
            @PathVariable UUID garden,
            @PathVariable UUID used,
            @RequestParam(defaultValue = "") String next,
            @RequestParam(defaultValue = "6") double target,
            @RequestParam(defaultValue = "20") double air,
            @RequestParam(defaultValue = USUAL_NEW) String fresh,
            @RequestParam(defaultValue = "33") double share,
            @RequestParam(defaultValue = "peat_perlite") String with) {
        return advice.of(new GardenId(garden), used, new UsedMixAdvice.Wanted(next, target, air, fresh, share, with));
    }

    @PostMapping
    Act.Recorded takeMix(@PathVariable UUID garden, @RequestBody UsedMixes.Taking taking) {
        return usedMixes.take(new GardenId(garden), taking);
    }

    @PostMapping("/{used}/steps")
    Act.Recorded treatMix(
            @PathVariable UUID garden, @PathVariable UUID used, @RequestBody UsedMixes.Treating treating) {
        return usedMixes.treat(new GardenId(garden), used, treating);
    }

    @PostMapping("/{used}/blend")
    ResponseEntity<RecipeWire> blendMix(
            @PathVariable UUID garden, @PathVariable UUID used, @RequestBody UsedMixes.Blending blending) {
        History.Edited<RecipeWire> edited = usedMixes.blend(new GardenId(garden), used, blending);
        return edited.answer(edited.now());
    }
}
