/** What does the label's own sentence say: how much, per what, how often? */
package evencistern.label;
