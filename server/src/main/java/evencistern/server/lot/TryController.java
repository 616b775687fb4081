package evencistern.server.lot;

import evencistern.fault.Faults;
import evencistern.plan.Care;
import evencistern.server.GardenId;
import evencistern.server.dose.CareWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.working.Working;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What one pot of a lot would get if the lot were as it is typed; nothing is written. */
@RestController
@RequestMapping("/api/gardens/{garden}/lots/{lot}/try")
class TryController {
    private final Lots lots;

    TryController(Lots lots) {
        this.lots = lots;
    }

    /**
     * A lot as it is being changed, or one that is not there yet.
     *
     * @param share of the label's top rate that the person chose
     * @param working whether every step is wanted too
     */
    record TryAsk(LotInput draft, @Nullable Typed share, boolean working) {}

    @PostMapping
    CareWire tryLot(@PathVariable UUID garden, @PathVariable UUID lot, @RequestBody TryAsk ask) {
        GardenContext context = lots.context(new GardenId(garden));
        GardenWire g = context.garden();
        Faults faults = new Faults();
        OptionalDouble share = Typed.optional(ask.share(), "share", faults, Dimension.FRACTION);
        var draft = faults.attempt(() -> lots.draft(context, ask.draft().tried(lot)));
        faults.throwIfAny();
        LotWithState standing = draft.orElseThrow();
        OptionalDouble part = share.isPresent() ? OptionalDouble.of(share.getAsDouble() / 100) : share;
        Working.Recorder recorder = ask.working() ? new Working.Recorder() : null;
        Care care = LotCare.inItsCan(context, standing, g.today(), part, recorder == null ? Working.off() : recorder);
        return CareWire.of(
                care,
                g.water(standing.lot().waterId()).ec(),
                care.givesBack(context.situation(standing)),
                g.today(),
                context.averageFrom().orElse(null),
                context.labelNote(standing.lot()),
                LotCare.line(g, standing, care, care.nextPourLitres(), recorder == null ? Working.off() : recorder)
                        .map(CareWire.LineWire::of)
                        .orElse(null),
                recorder);
    }
}
