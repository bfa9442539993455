package strophos.server.access;

record Account(String passwordHash, boolean demo, Viewer viewer) {}
