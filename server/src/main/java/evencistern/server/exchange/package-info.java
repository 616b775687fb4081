/** How does a garden leave in open formats, and come back? */
package evencistern.server.exchange;
