package evencistern.server.mix;

import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Components and recipes over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/mixes")
class MixController {
    private final Mixes mixes;

    MixController(Mixes mixes) {
        this.mixes = mixes;
    }

    /** What there is to mix with: what ships, as the garden changed it, and its own; and what was made, newest first. */
    record MixesWire(List<ComponentWire> components, List<RecipeWire> recipes, List<MadeWire> made) {}

    @GetMapping
    MixesWire listMixes(@PathVariable UUID garden) {
        MixShelf shelf = mixes.require(new GardenId(garden));
        return new MixesWire(shelf.components(), shelf.recipes(), shelf.made());
    }

    @PutMapping("/components")
    ResponseEntity<ComponentWire> saveComponent(@PathVariable UUID garden, @RequestBody ComponentInput input) {
        History.Edited<ComponentWire> edited = mixes.saveComponent(new GardenId(garden), input);
        return edited.answer(edited.now());
    }

    @PutMapping("/recipes")
    ResponseEntity<RecipeWire> saveRecipe(@PathVariable UUID garden, @RequestBody RecipeInput input) {
        History.Edited<RecipeWire> edited = mixes.saveRecipe(new GardenId(garden), input);
        return edited.answer(edited.now());
    }
}
