/** What is printed: the round of the day, and labels for pots. */
package evencistern.server.exchange.pdf;
