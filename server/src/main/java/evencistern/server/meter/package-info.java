/** When was this pen held into its standards, and how far is it to be believed? */
package evencistern.server.meter;
