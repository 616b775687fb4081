/** What other work does a lot ask for, and when? */
package evencistern.chore;
