package evencistern.server.stock;

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

/** Stocks over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/stock")
class StockController {
    private final Stocks stocks;

    StockController(Stocks stocks) {
        this.stocks = stocks;
    }

    @GetMapping
    List<StockWire> listStock(@PathVariable UUID garden) {
        return stocks.list(new GardenId(garden));
    }

    @PutMapping
    ResponseEntity<Stock> putStock(@PathVariable UUID garden, @RequestBody StockInput input) {
        var edited = stocks.save(new GardenId(garden), input);
        return edited.answer(edited.now());
    }
}
