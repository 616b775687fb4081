/** The tables that ship with the rules, and how they are read. */
package evencistern.table;
