/** What is the answer to what is being typed? */
package evencistern.server.live;
