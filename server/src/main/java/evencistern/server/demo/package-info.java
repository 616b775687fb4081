/** The made-up garden that ships with the application. */
package evencistern.server.demo;
