/** Which mix of what is at hand does what is wished for? */
package evencistern.server.wish;
