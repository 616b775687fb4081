/** What does this water bring, and what makes it fit the plant? */
package evencistern.server.water;
