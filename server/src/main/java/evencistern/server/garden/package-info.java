/** Whose garden is it, with which places, waters, meters and vessels? */
package evencistern.server.garden;
