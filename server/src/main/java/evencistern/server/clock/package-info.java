/** What time is it? The only reader of a clock. */
package evencistern.server.clock;
