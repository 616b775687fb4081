/** Care beside water and feed: what falls due, and what was done. */
package evencistern.server.chore;
