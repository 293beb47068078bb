package amberrail.app.template;

import amberrail.core.table.Cushion;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The table of marks. */
@Component
class TemplateMarks {
    private final JdbcClient sql;

    TemplateMarks(JdbcClient sql) {
        this.sql = sql;
    }

    /** A student's, newest day first. */
    List<TemplateMark> of(UUID studentId) {
        return sql.sql(
                        "select * from template_mark where student_id = ? order by taken_on desc, tip, along_millimetres")
                .param(studentId)
                .query(TemplateMarks::row)
                .list();
    }

    @Transactional
    void add(UUID studentId, TemplateMark mark, UUID writtenBy) {
        sql.sql(
                        "insert into template_mark (id, student_id, table_id, taken_on, tip, cushion, along_millimetres, written_by)"
                                + " values (?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        mark.id(),
                        studentId,
                        mark.tableId(),
                        mark.takenOn(),
                        mark.tip().name(),
                        mark.cushion().name(),
                        mark.alongMillimetres(),
                        writtenBy)
                .update();
    }

    /** Whether there was one. */
    @Transactional
    boolean remove(UUID studentId, UUID id) {
        return sql.sql("delete from template_mark where student_id = ? and id = ?")
                        .params(studentId, id)
                        .update()
                > 0;
    }

    private static TemplateMark row(ResultSet row, int number) throws SQLException {
        return new TemplateMark(
                row.getObject("id", UUID.class),
                row.getObject("table_id", UUID.class),
                row.getObject("taken_on", LocalDate.class),
                TemplateMark.Tip.valueOf(row.getString("tip")),
                Cushion.valueOf(row.getString("cushion")),
                row.getDouble("along_millimetres"));
    }
}
