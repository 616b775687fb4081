/** What is done to lots beside watering and feeding: moved, potted on, split, lost, retired, noted. */
package evencistern.server.deed;
