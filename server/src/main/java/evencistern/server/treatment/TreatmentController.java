package evencistern.server.treatment;

import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/gardens/{garden}")
class TreatmentController {
    private final Treatments treatments;

    TreatmentController(Treatments treatments) {
        this.treatments = treatments;
    }

    @GetMapping("/lots/{lot}/treatments")
    Treatments.TreatmentsWire listTreatments(@PathVariable UUID garden, @PathVariable UUID lot) {
        return treatments.of(new GardenId(garden), lot);
    }

    @PutMapping("/lots/{lot}/treatments")
    ResponseEntity<TreatmentWire> planTreatment(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody Treatments.TreatmentInput input) {
        History.Edited<TreatmentWire> edited = treatments.save(new GardenId(garden), lot, input);
        return edited.answer(edited.now());
    }

    /** The day on which it was done, null for today, and the version seen. */
    record TreatmentDone(@Nullable LocalDate on, int version) {}

    @PutMapping("/treatments/{treatment}/done")
    ResponseEntity<TreatmentWire> finishTreatment(
            @PathVariable UUID garden, @PathVariable UUID treatment, @RequestBody TreatmentDone done) {
        GardenId g = new GardenId(garden);
        LocalDate on = done.on() == null ? treatments.today(g) : done.on();
        History.Edited<TreatmentWire> edited = treatments.done(g, treatment, done.version(), on);
        return edited.answer(edited.now());
    }

    /** Whether it has worked, and what was seen. */
    record TreatmentJudged(
            TreatmentWire.Outcome outcome, @Nullable String note, int version) {}

    @PutMapping("/treatments/{treatment}/outcome")
    ResponseEntity<TreatmentWire> judgeTreatment(
            @PathVariable UUID garden, @PathVariable UUID treatment, @RequestBody TreatmentJudged judged) {
        GardenId g = new GardenId(garden);
        History.Edited<TreatmentWire> edited =
                treatments.judged(g, treatment, judged.version(), judged.outcome(), judged.note());
        return edited.answer(edited.now());
    }
}
