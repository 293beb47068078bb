package amberrail.app.personaldata;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.testing.AppTest;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The list of where people stand in the database is the database's own. */
class PersonalTablesTest extends AppTest {
    @Autowired
    JdbcClient sql;

    @Test
    void everyColumnThatNamesAnAccountHasItsPlace() {
        List<String> references = sql.sql("select lower(c.table_name) || '.' || lower(c.column_name)"
                        + " from information_schema.referential_constraints r"
                        + " join information_schema.key_column_usage c on c.constraint_name = r.constraint_name"
                        + " join information_schema.table_constraints u on u.constraint_name = r.unique_constraint_name"
                        + " where lower(u.table_name) = 'account'")
                .query(String.class)
                .list();
        Set<String> listed = PersonalTables.all().stream()
                .map(column -> column.table() + "." + column.name())
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(references).hasSizeGreaterThan(30);
        assertThat(listed).containsExactlyInAnyOrderElementsOf(new TreeSet<>(references));
    }

    /** A column by the name of one that holds a person, without a reference, would be missed by the list. */
    @Test
    void noColumnHoldsAPersonWithoutAReference() {
        List<String> columns = sql.sql(
                        "select lower(table_name) || '.' || lower(column_name) from information_schema.columns"
                                + " where table_schema = 'PUBLIC' and data_type = 'UUID' and (column_name like '%STUDENT%' or column_name like '%ACCOUNT%'"
                                + " or column_name like '%OWNER%' or column_name like '%COACH%' or column_name like '%_BY')")
                .query(String.class)
                .list();
        Set<String> listed = PersonalTables.all().stream()
                .map(column -> column.table() + "." + column.name())
                .collect(Collectors.toSet());
        assertThat(listed).containsAll(columns);
    }

    @Test
    void everyFreeTextIsAColumn() {
        for (PersonalTables.Column column : PersonalTables.FREE_TEXTS) {
            int found = sql.sql(
                            "select count(*) from information_schema.columns where table_name = ? and column_name = ?")
                    .params(column.table().toUpperCase(), column.name().toUpperCase())
                    .query(Integer.class)
                    .single();
            assertThat(found).as(column.toString()).isEqualTo(1);
        }
    }
}
