import { more, speak } from ".";

// what tests see is said in British English, all of it
await speak("en-GB");
await more();
