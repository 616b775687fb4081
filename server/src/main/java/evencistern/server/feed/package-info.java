/** Which products stand on the shelf, and what do their labels say? */
package evencistern.server.feed;
