/** The kinds of plant a garden knows: the guide that ships, as the garden changed it, and its own. */
package evencistern.server.plant;
