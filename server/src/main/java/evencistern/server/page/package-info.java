/** The page itself. */
package evencistern.server.page;
