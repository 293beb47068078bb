package amberrail.app.drills;

import amberrail.app.people.SignedIn;
import amberrail.app.web.Races;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Favourites and folders: each person's own. */
@RestController
@RequestMapping("/api/v1")
class ShelfController {
    private final Shelf shelf;

    ShelfController(Shelf shelf) {
        this.shelf = shelf;
    }

    /** What a folder is called. */
    record FolderName(String name) {}

    @PutMapping("/drills/{id}/favourite")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void favourite(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        Races.again(() -> shelf.setFavourite(who, id, true));
    }

    @DeleteMapping("/drills/{id}/favourite")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void noFavourite(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        Races.again(() -> shelf.setFavourite(who, id, false));
    }

    @PostMapping("/folders")
    @ResponseStatus(HttpStatus.CREATED)
    Shelf.Folder newFolder(@AuthenticationPrincipal SignedIn who, @RequestBody FolderName body) {
        return Races.again(() -> shelf.newFolder(who, body.name()));
    }

    @PutMapping("/folders/{id}")
    Shelf.Folder rename(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestBody FolderName body) {
        return Races.again(() -> shelf.rename(who, id, body.name()));
    }

    @DeleteMapping("/folders/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Races.again(() -> shelf.remove(who, id));
    }

    @PutMapping("/folders/{id}/drills/{drillId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @PathVariable String drillId) {
        Races.again(() -> shelf.setInFolder(who, id, drillId, true));
    }

    @DeleteMapping("/folders/{id}/drills/{drillId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @PathVariable String drillId) {
        Races.again(() -> shelf.setInFolder(who, id, drillId, false));
    }
}
