/** What is done against something that ails a lot: when, with what, and has it worked? */
package evencistern.server.treatment;
