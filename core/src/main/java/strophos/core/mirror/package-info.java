/** What a coach's own lessons say of the coach. Counts only; nobody is judged by them. */
package strophos.core.mirror;
