package grimygasket.server.shelf;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is on a van, counted again. */
@RestController
class VanController {
    /** @param onVan how many there are */
    record Counted(
            @Min(value = 0, message = "Count none or more.") @Max(value = 999, message = "Count at most 999.")
            int onVan) {}

    private final ShelfStore shelf;

    VanController(ShelfStore shelf) {
        this.shelf = shelf;
    }

    @PutMapping("/api/van/{partId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void count(@PathVariable UUID partId, @Valid @RequestBody Counted counted, @AuthenticationPrincipal SignedIn me) {
        if (!shelf.isInCatalogue(partId)) {
            throw new Problem(Kind.NOT_FOUND, "This part is not in the catalogue.");
        }
        shelf.count(me.id(), partId, counted.onVan);
    }
}
