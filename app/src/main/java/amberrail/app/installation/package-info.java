/** The whole installation as one zip of open formats (docs/formats/installation.md), written here and read by an empty one. */
package amberrail.app.installation;
