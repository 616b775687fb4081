/** What is due today? */
package evencistern.server.today;
