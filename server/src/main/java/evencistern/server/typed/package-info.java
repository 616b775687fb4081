/** What a person typed into a number field. */
package evencistern.server.typed;
