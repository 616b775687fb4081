/** Which batches of mix were made, and what went into each? */
package evencistern.server.batch;
