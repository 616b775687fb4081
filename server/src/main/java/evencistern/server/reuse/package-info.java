/** What is a mix still good for once it has stood in a pot, and what is done with it first? */
package evencistern.server.reuse;
