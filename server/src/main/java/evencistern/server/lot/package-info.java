/** Which plants are there, in which pots, and what is due for them? */
package evencistern.server.lot;
