/** What every request goes through: problems as RFC 9457 details, body limit, the front end's files, API description. */
package amberrail.app.web;
