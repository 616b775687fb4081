/** What ships with the application: species, mixes, units? */
package evencistern.server.catalogue;
