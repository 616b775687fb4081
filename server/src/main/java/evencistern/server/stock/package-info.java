/** What is there of a feed or a mix, and for how long? */
package evencistern.server.stock;
