/** How is a refusal told to the caller? */
package evencistern.server.problem;
