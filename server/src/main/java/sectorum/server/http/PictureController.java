package sectorum.server.http;

import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.server.pictures.NoSuchPicture;
import sectorum.server.pictures.Picture;
import sectorum.server.pictures.Pictures;

/** Reference pictures of an order. */
@RestController
class PictureController {
    private final Pictures pictures;

    PictureController(Pictures pictures) {
        this.pictures = pictures;
    }

    @GetMapping("/api/plans/{id}/pictures")
    List<Picture> list(@PathVariable long id) {
        return pictures.of(id);
    }

    /** Whatever the file was called: it is known by its bytes. */
    @PostMapping(value = "/api/plans/{id}/pictures", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Picture add(@PathVariable long id, @RequestParam(defaultValue = "") String caption, @RequestBody byte[] bytes) {
        return pictures.add(id, caption, bytes);
    }

    @GetMapping(value = "/api/pictures/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> jpeg(@PathVariable long id) {
        CacheControl kept = CacheControl.maxAge(Duration.ofDays(365)).cachePrivate();
        return pictures.jpeg(id)
                .map(bytes -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(kept)
                        .body(bytes))
                .orElseThrow(() -> new NoSuchPicture(id));
    }

    @DeleteMapping("/api/pictures/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeAway(@PathVariable long id) {
        pictures.takeAway(id);
    }
}
