/** From the answers of a pupil alone: what is right, which slips explain the rest, what to ask. */
package bemble.diagnosis;
