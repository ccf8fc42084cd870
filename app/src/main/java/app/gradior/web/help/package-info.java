/** Pages that explain. */
package app.gradior.web.help;
