/** How do lots, journal and readings leave as sheets that any reader takes? */
package evencistern.server.exchange.csv;
