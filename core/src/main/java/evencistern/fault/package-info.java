/** What is wrong with an input, as facts (code, field, value, limit, unit); the words are chosen elsewhere. */
package evencistern.fault;
