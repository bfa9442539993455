package strophos.server.lesson;

/** How far along its thread a lesson is: whether it has a first look, and a plan that was kept. */
public record Preparation(boolean isOnVideo, boolean isLooked, boolean isPlanned) {}
