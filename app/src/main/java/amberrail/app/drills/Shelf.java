package amberrail.app.drills;

import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How one person keeps the library in order: favourites and folders. Both hold ids of drills only, whoever made them. */
@Service
@Transactional
class Shelf {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_FOLDERS = 100;

    private final JdbcClient sql;
    private final DrillCatalogue catalogue;

    Shelf(JdbcClient sql, DrillCatalogue catalogue) {
        this.sql = sql;
        this.catalogue = catalogue;
    }

    /** A folder of this person. */
    record Folder(UUID id, String name) {}

    /** Everything on the shelf at once, for the library page. */
    record Contents(List<Folder> folders, Set<String> favourites, Map<String, List<UUID>> foldersByDrill) {}

    @Transactional(readOnly = true)
    Contents of(SignedIn who) {
        Set<String> favourites = new HashSet<>(sql.sql("select drill_id from favourite_drill where account_id = ?")
                .param(who.accountId())
                .query(String.class)
                .list());
        Map<String, List<UUID>> byDrill = new HashMap<>();
        sql.sql("select f.drill_id, f.folder_id from foldered_drill f join drill_folder d on d.id = f.folder_id"
                        + " where d.account_id = ?")
                .param(who.accountId())
                .query((row, n) -> Map.entry(row.getString(1), row.getObject(2, UUID.class)))
                .list()
                .forEach(entry -> byDrill.computeIfAbsent(entry.getKey(), id -> new ArrayList<>())
                        .add(entry.getValue()));
        return new Contents(folders(who), favourites, byDrill);
    }

    private List<Folder> folders(SignedIn who) {
        return sql.sql("select id, name from drill_folder where account_id = ? order by lower(name)")
                .param(who.accountId())
                .query((row, n) -> new Folder(row.getObject(1, UUID.class), row.getString(2)))
                .list();
    }

    void setFavourite(SignedIn who, String drillId, boolean favourite) {
        catalogue.find(who, drillId);
        String statement = favourite
                ? "merge into favourite_drill (account_id, drill_id) key (account_id, drill_id) values (?, ?)"
                : "delete from favourite_drill where account_id = ? and drill_id = ?";
        sql.sql(statement).param(who.accountId()).param(drillId).update();
    }

    Folder newFolder(SignedIn who, String name) {
        String tidy = tidy(name);
        List<Folder> have = folders(who);
        requireFree(have, tidy);
        Require.between("folders", have.size() + 1, 1, MOST_FOLDERS);
        Folder folder = new Folder(UUID.randomUUID(), tidy);
        sql.sql("insert into drill_folder (id, account_id, name) values (?, ?, ?)")
                .param(folder.id())
                .param(who.accountId())
                .param(tidy)
                .update();
        return folder;
    }

    Folder rename(SignedIn who, UUID id, String name) {
        Folder old = folder(who, id);
        String tidy = tidy(name);
        requireFree(folders(who).stream().filter(one -> !one.equals(old)).toList(), tidy);
        sql.sql("update drill_folder set name = ? where id = ?")
                .param(tidy)
                .param(id)
                .update();
        return new Folder(id, tidy);
    }

    /** The drills in it stay where they are. */
    void remove(SignedIn who, UUID id) {
        hold(who, id);
        sql.sql("delete from drill_folder where id = ?").param(id).update();
    }

    void setInFolder(SignedIn who, UUID folderId, String drillId, boolean in) {
        catalogue.find(who, drillId);
        hold(who, folderId);
        String statement = in
                ? "merge into foldered_drill (folder_id, drill_id) key (folder_id, drill_id) values (?, ?)"
                : "delete from foldered_drill where folder_id = ? and drill_id = ?";
        sql.sql(statement).param(folderId).param(drillId).update();
    }

    /** Held: a drill that goes in while the folder goes would be in none (decision 28). */
    private void hold(SignedIn who, UUID id) {
        sql.sql("select id from drill_folder where id = ? and account_id = ? for update")
                .params(id, who.accountId())
                .query(UUID.class)
                .optional()
                .orElseThrow(() -> new Missing("folder"));
    }

    private Folder folder(SignedIn who, UUID id) {
        return folders(who).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("folder"));
    }

    private static String tidy(String name) {
        return Require.text("name", name == null ? null : name.strip(), LONGEST_NAME);
    }

    private static void requireFree(List<Folder> folders, String name) {
        if (folders.stream().anyMatch(folder -> folder.name().equalsIgnoreCase(name))) {
            throw new InvalidInputException(
                    ProblemCode.DUPLICATE_ID, "name", name, "must not be the name of another folder of yours");
        }
    }
}
