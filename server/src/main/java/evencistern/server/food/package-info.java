/** How much nitrogen does a pot of this lot get in a week, from everything, and how much does it need? */
package evencistern.server.food;
