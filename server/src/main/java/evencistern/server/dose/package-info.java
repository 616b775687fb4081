/** A plan, a dose and its working, as they go over the wire. */
package evencistern.server.dose;
