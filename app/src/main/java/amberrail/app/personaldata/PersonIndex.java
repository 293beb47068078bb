package amberrail.app.personaldata;

import amberrail.app.words.WordCatalogue;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.web.util.HtmlUtils;

/** The page of a person's zip that says what is in it. */
final class PersonIndex {
    private PersonIndex() {}

    static String of(String name, Instant at, List<PersonZip.File> files, WordCatalogue words) {
        StringBuilder page = new StringBuilder("<!doctype html>\n<html lang=\"en\"><meta charset=\"utf-8\"><title>");
        String title = HtmlUtils.htmlEscape(words.say("data.titleOf", Map.of("name", name)));
        page.append(title)
                .append("</title>\n<style>body{font:16px/1.5 sans-serif;max-width:50em;margin:2em auto;padding:0 1em}"
                        + "td,th{text-align:left;padding:.2em 1em .2em 0}</style>\n<h1>")
                .append(title)
                .append("</h1>\n<p>")
                .append(HtmlUtils.htmlEscape(words.say("data.zip.about", Map.of("at", at.toString()))))
                .append("</p>\n<table><tr><th>")
                .append(words.say("data.zip.file"))
                .append("</th><th>")
                .append(words.say("data.zip.what"))
                .append("</th><th>")
                .append(words.say("data.zip.records"))
                .append("</th></tr>\n");
        for (PersonZip.File file : files) {
            page.append("<tr><td><a href=\"")
                    .append(file.name())
                    .append("\">")
                    .append(file.name())
                    .append("</a></td><td>")
                    .append(HtmlUtils.htmlEscape(file.what()))
                    .append("</td><td>")
                    .append(file.records())
                    .append("</td></tr>\n");
        }
        return page.append("</table>\n</html>\n").toString();
    }
}
