package amberrail.app.paper;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.drills.ShotView;
import amberrail.app.drills.ZoneView;
import amberrail.app.kit.KitService;
import amberrail.app.kit.TableDrawing;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Costly;
import amberrail.app.web.Missing;
import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Paper and pictures of a drill; everyone who may read the drill may print it. */
@RestController
@RequestMapping("/api/v1/drills/{id}")
class PaperController {
    private static final int PICTURE_WIDTH_PIXELS = 1600;

    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final KitService kit;
    private final PeopleService people;

    PaperController(DrillCatalogue drills, SetUps setUps, KitService kit, PeopleService people) {
        this.drills = drills;
        this.setUps = setUps;
        this.kit = kit;
        this.people = people;
    }

    /** One shot of a drill on a table, ready to draw. */
    private record Sheet(
            DrillOnTable drill,
            DrillOnTable.StationView station,
            ShotView shot,
            TableDrawing table,
            String tableName) {}

    /** The set-up card: one page a shot, so that a pattern's whole run is in the hand; one shot alone where it is named. */
    @Costly
    @GetMapping(path = "/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> card(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(required = false) Integer shot,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "A4") PaperSize paper)
            throws IOException {
        Sheet sheet = sheet(who, id, tableId, station, shot == null ? 0 : shot, mirrored);
        byte[] pdf = new SetUpCard(new PaperWords(people.preferences(who).dialect()), paper)
                .pdf(
                        new SetUpCard.Station(
                                sheet.drill(), sheet.station(), mirrored, sheet.table(), sheet.tableName()),
                        Optional.ofNullable(shot));
        return file(pdf, MediaType.APPLICATION_PDF, id + "-card.pdf");
    }

    /** The landing zone at true scale; 404 where the shot asks for none. */
    @Costly
    @GetMapping(path = "/target.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> target(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "A4") PaperSize paper,
            @RequestParam(defaultValue = "false") boolean marksOnly)
            throws IOException {
        Sheet sheet = sheet(who, id, tableId, station, shot, mirrored);
        ZoneView zone = zone(sheet);
        String title = sheet.drill().drill().title();
        byte[] pdf = marksOnly ? PaperTarget.marksOnly(zone, title, paper) : PaperTarget.pdf(zone, title, paper);
        return file(pdf, MediaType.APPLICATION_PDF, id + "-target.pdf");
    }

    /** How many sheets the whole target will be, to be said before it is printed. */
    record TargetSheets(int sheets) {}

    @GetMapping("/target-sheets")
    TargetSheets sheets(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "A4") PaperSize paper) {
        return new TargetSheets(PaperTarget.sheets(zone(sheet(who, id, tableId, station, shot, mirrored)), paper));
    }

    private static ZoneView zone(Sheet sheet) {
        if (sheet.shot().zone() == null) {
            throw new Missing("landing zone in this shot");
        }
        return sheet.shot().zone();
    }

    @Costly
    @GetMapping(path = "/diagram.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "false") boolean mirrored)
            throws IOException {
        Sheet sheet = sheet(who, id, tableId, station, shot, mirrored);
        SvgCanvas canvas = new SvgCanvas(
                SetUpDrawing.frame(sheet.table()), sheet.drill().drill().title());
        SetUpDrawing.draw(canvas, sheet.table(), sheet.shot());
        byte[] text = canvas.file().getBytes(java.nio.charset.StandardCharsets.UTF_8);
        return file(text, MediaType.parseMediaType("image/svg+xml"), id + ".svg");
    }

    @Costly
    @GetMapping(path = "/diagram.png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> png(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "false") boolean mirrored)
            throws IOException {
        Sheet sheet = sheet(who, id, tableId, station, shot, mirrored);
        ImageCanvas canvas = new ImageCanvas(SetUpDrawing.frame(sheet.table()), PICTURE_WIDTH_PIXELS);
        SetUpDrawing.draw(canvas, sheet.table(), sheet.shot());
        return file(png(canvas.image()), MediaType.IMAGE_PNG, id + ".png");
    }

    private Sheet sheet(SignedIn who, String id, UUID tableId, int station, int shot, boolean mirrored) {
        Drill drill = drills.find(who, id).drill();
        KitService.ClubTable table = kit.table(tableId);
        int shots = drill.station(station).shots().size();
        if (shot < 0 || shot >= shots) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "shot", shot, "must be from 0 to " + (shots - 1));
        }
        DrillOnTable onTable = DrillOnTable.of(setUps, drill, table.spec());
        DrillOnTable.StationView view = onTable.stations().get(station);
        return new Sheet(
                onTable,
                view,
                (mirrored ? view.mirror() : view.original()).get(shot),
                TableDrawing.of(table.spec()),
                table.name());
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (!ImageIO.write(image, "png", out)) {
            throw new IllegalStateException("this Java writes no PNG");
        }
        return out.toByteArray();
    }

    private static ResponseEntity<byte[]> file(byte[] content, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(content);
    }
}
