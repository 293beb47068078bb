/**
 * Where things are on a table: bed, cushions, pockets with their jaws, sights, spots and lines.
 *
 * <p>Origin where the nose lines of the west and the south cushion meet (SW); x runs along the length (0..L), y along the
 * width (0..W); lengths are mm, angles degrees. The head (baulk) end is x = 0. Numbers and construction are those of
 * physics/model.md, sections 6 and 7. This package knows no motion and no drill.
 */
package amberrail.core.table;
