/** Which feeds does a lot get, and do they together give what it needs? */
package evencistern.server.programme;
