package evencistern.server.food;

import evencistern.server.GardenId;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The nitrogen of a lot over HTTP. */
@RestController
class FoodController {
    private final Foods foods;

    FoodController(Foods foods) {
        this.foods = foods;
    }

    @GetMapping("/api/gardens/{garden}/lots/{lot}/food")
    Foods.FoodWire getFood(@PathVariable UUID garden, @PathVariable UUID lot) {
        return foods.of(new GardenId(garden), lot);
    }
}
