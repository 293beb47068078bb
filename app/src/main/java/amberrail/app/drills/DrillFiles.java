package amberrail.app.drills;

import amberrail.app.people.SignedIn;
import amberrail.app.web.FieldWords;
import amberrail.app.web.Refused;
import amberrail.core.drill.Drill;
import amberrail.core.drill.DrillCheck;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Drills to and from files (docs/formats/drill.schema.json). An import is looked through as a whole and taken as a whole, or not at all. */
@Service
class DrillFiles {
    static final String DRILL = "amber-rail-drill";
    static final String DRILL_SET = "amber-rail-drill-set";
    private static final int FORMAT_VERSION = 1;
    private static final int MOST_DRILLS = 500;

    private final OwnDrills owns;
    private final DrillCatalogue catalogue;
    private final ShippedDrills shipped;

    DrillFiles(OwnDrills owns, DrillCatalogue catalogue, ShippedDrills shipped) {
        this.owns = owns;
        this.catalogue = catalogue;
        this.shipped = shipped;
    }

    /** What an import does with one drill of the file. */
    enum Effect {
        /** Becomes a new drill of this coach. */
        NEW,
        /** Changes this coach's drill of that id. */
        CHANGED,
        /** As the next version, since the present one was played. */
        NEW_VERSION,
        /** Is here already, the same. */
        SAME
    }

    /**
     * One drill of a file.
     *
     * @param changes  names of what differs, where it changes a drill
     * @param warnings what does not work in it on its home table; it can be mended on the bench
     */
    record Entry(String title, int stations, Effect effect, List<String> changes, List<String> warnings) {}

    /** Something wrong with a file, and where; a file with any is not taken. */
    record FileProblem(String place, String sentence) {}

    /** What an import would do, or did. */
    record Preview(List<Entry> entries, List<FileProblem> problems, boolean done) {}

    private record Read(List<Drill> drills, List<FileProblem> problems) {}

    String file(SignedIn who, String id) {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", DRILL);
        file.put("formatVersion", FORMAT_VERSION);
        file.put("drill", catalogue.find(who, id).drill());
        return DrillJson.write((Object) file);
    }

    String set(SignedIn who, String title, List<String> ids) {
        if (ids.isEmpty() || ids.size() > MOST_DRILLS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "ids", ids.size(), "must be 1 to " + MOST_DRILLS + " drills");
        }
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", DRILL_SET);
        file.put("formatVersion", FORMAT_VERSION);
        file.put("title", title);
        file.put(
                "drills",
                ids.stream().map(id -> catalogue.find(who, id).drill()).toList());
        return DrillJson.write((Object) file);
    }

    /** What taking this file would do. */
    Preview preview(SignedIn who, String text) {
        Read read = read(text);
        return new Preview(
                read.drills().stream().map(drill -> entry(who, drill)).toList(), read.problems(), false);
    }

    /** Takes the file; the first problem is thrown, with nothing taken. */
    @Transactional
    Preview take(SignedIn who, String text) {
        Read read = read(text);
        read.problems().stream().findFirst().ifPresent(problem -> {
            throw new Refused(problem.place(), problem.sentence());
        });
        List<Entry> entries =
                read.drills().stream().map(drill -> entry(who, drill)).toList();
        // By id and not in the file's order: two imports at once hold the rows in the same order and so never wait for
        // each other.
        IntStream.range(0, entries.size())
                .filter(i -> entries.get(i).effect() != Effect.SAME)
                .mapToObj(read.drills()::get)
                .sorted(Comparator.comparing(Drill::id))
                .forEach(drill -> owns.take(who, drill));
        return new Preview(entries, List.of(), true);
    }

    private Entry entry(SignedIn who, Drill drill) {
        Optional<Drill> before =
                owns.ownById(who, drill.id()).or(() -> shipped.find(drill.id()).filter(drill::equals));
        Effect effect = before.map(own -> effect(own, drill)).orElse(Effect.NEW);
        List<String> changes = effect == Effect.CHANGED || effect == Effect.NEW_VERSION
                ? changes(before.orElseThrow(), drill)
                : List.of();
        return new Entry(drill.title(), drill.stations().size(), effect, changes, warnings(drill));
    }

    private Effect effect(Drill before, Drill drill) {
        if (before.equals(drill.as(before.id(), before.version(), drill.title()))) {
            return Effect.SAME;
        }
        return owns.isPlayed(before) ? Effect.NEW_VERSION : Effect.CHANGED;
    }

    private static List<String> changes(Drill before, Drill after) {
        JsonNode one = DrillJson.toTree(before);
        JsonNode other = DrillJson.toTree(after);
        Set<String> names = new HashSet<>();
        one.fieldNames().forEachRemaining(names::add);
        other.fieldNames().forEachRemaining(names::add);
        names.remove("version");
        names.removeIf(name -> Objects.equals(one.get(name), other.get(name)));
        return names.stream().sorted().toList();
    }

    private static List<String> warnings(Drill drill) {
        var home = TablePresets.byId(drill.tables().get(0));
        return DrillCheck.of(drill, TablePlan.of(home), SetUp.zoneScale(drill, home)).stream()
                .filter(problem -> problem.kind().stops())
                .map(problem -> "Station " + (problem.station() + 1) + ": "
                        + problem.cause()
                                .map(FieldWords::sentence)
                                .orElse(problem.kind()
                                                .name()
                                                .toLowerCase(Locale.ROOT)
                                                .replace('_', ' ') + "."))
                .toList();
    }

    private static Read read(String text) {
        JsonNode file;
        try {
            file = DrillJson.tree(text);
        } catch (JsonProcessingException e) {
            return wrong("", unreadable(e));
        }
        String format = file.path("format").asText();
        if (!format.equals(DRILL) && !format.equals(DRILL_SET)) {
            return wrong(
                    "format",
                    "This is not a drill file: its format must be \"" + DRILL + "\" or \"" + DRILL_SET + "\".");
        }
        JsonNode version = file.path("formatVersion");
        if (version.isNumber() && version.asInt() > FORMAT_VERSION) {
            return wrong(
                    "formatVersion",
                    "The file is of format version " + version.asInt() + "; this program reads up to " + FORMAT_VERSION
                            + ". Bring Amber Rail up to date and try again.");
        }
        boolean isSet = format.equals(DRILL_SET);
        List<JsonNode> trees = new ArrayList<>();
        if (isSet) {
            file.path("drills").forEach(trees::add);
        } else if (file.has("drill")) {
            trees.add(file.get("drill"));
        }
        List<Drill> drills = new ArrayList<>();
        List<FileProblem> problems = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < Math.min(trees.size(), MOST_DRILLS); i++) {
            String place = isSet ? "drills[" + i + "]" : "drill";
            try {
                Drill drill = DrillJson.sent(trees.get(i), place);
                Optional<String> against = DrillSchema.problemOfDrill(trees.get(i));
                if (against.isPresent()) {
                    problems.add(new FileProblem(place, against.get()));
                } else if (!ids.add(drill.id())) {
                    problems.add(
                            new FileProblem(place + ".id", "Two drills of the file have the id " + drill.id() + "."));
                }
                drills.add(drill);
            } catch (InvalidInputException e) {
                problems.add(new FileProblem(e.field(), FieldWords.sentence(e)));
            }
        }
        if (problems.isEmpty()) {
            DrillSchema.problemOfFile(file).ifPresent(sentence -> problems.add(new FileProblem("", sentence)));
        }
        return new Read(problems.isEmpty() ? drills : List.of(), problems);
    }

    private static String unreadable(JsonProcessingException e) {
        if (e instanceof StreamConstraintsException) {
            return "The file nests too deep or holds a text that is too long; it is no drill file.";
        }
        String where = e.getLocation() == null
                ? ""
                : " in line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
        return "The file is not well-formed JSON" + where + ".";
    }

    private static Read wrong(String place, String sentence) {
        return new Read(List.of(), Collections.singletonList(new FileProblem(place, sentence)));
    }
}
