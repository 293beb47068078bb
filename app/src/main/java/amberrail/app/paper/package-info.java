/**
 * What is printed or saved as a picture: set-up cards, paper targets at true scale, diagrams as SVG and PNG. One drawing ({@code SetUpDrawing}) on
 * three kinds of {@code Canvas}. mm throughout; the page's own units stay inside its canvas.
 */
package amberrail.app.paper;
