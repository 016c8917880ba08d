package grimygasket.server.documents;

import grimygasket.server.photos.Pictures;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The business's logo, as reports bear it. */
@RestController
@RequestMapping("/api/business/logo")
class LogoController {
    private final LogoStore logos;

    LogoController(LogoStore logos) {
        this.logos = logos;
    }

    /** @param picture as a data URL; null where there is none */
    record Logo(@Nullable String picture) {}

    @GetMapping
    Logo logo() {
        return new Logo(logos.get().orElse(null));
    }

    @PutMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    Logo set(@RequestBody byte[] bytes) {
        logos.set(DataUrls.logo(Pictures.of(bytes).bytes()));
        return logo();
    }

    @DeleteMapping
    Logo remove() {
        logos.remove();
        return logo();
    }
}
