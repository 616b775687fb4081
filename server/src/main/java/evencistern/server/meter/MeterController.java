package evencistern.server.meter;

import evencistern.server.GardenId;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pens and their calibrations over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class MeterController {
    private final MeterLogs meters;

    MeterController(MeterLogs meters) {
        this.meters = meters;
    }

    @GetMapping("/meters")
    List<MeterLogWire> listMeterLogs(@PathVariable UUID garden) {
        return meters.list(new GardenId(garden));
    }

    @PutMapping("/calibrations")
    ResponseEntity<CalibrationWire> saveCalibration(
            @PathVariable UUID garden, @RequestBody MeterLogs.CalibrationInput input) {
        var edited = meters.save(new GardenId(garden), input);
        return edited.answer(edited.now());
    }
}
