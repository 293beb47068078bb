package amberrail.app.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The product's own type in a document, as screens have it: Source Sans 3 (SIL Open Font License, see {@code type/}). Only the signs that are used go
 * into the file, so that names in any script of the type can be printed anywhere.
 */
public record PaperType(PDFont plain, PDFont bold) {
    private static final byte[] PLAIN = read("SourceSans3-Regular.ttf");
    private static final byte[] BOLD = read("SourceSans3-Bold.ttf");

    public static PaperType in(PDDocument document) throws IOException {
        return new PaperType(font(document, PLAIN), font(document, BOLD));
    }

    private static PDFont font(PDDocument document, byte[] file) throws IOException {
        return PDType0Font.load(document, new TTFParser().parse(new RandomAccessReadBuffer(file)), true);
    }

    private static byte[] read(String name) {
        try (InputStream file = PaperType.class.getResourceAsStream("/type/" + name)) {
            return file.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
