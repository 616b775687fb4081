/** What is the contract? */
package evencistern.server.openapi;
