package strophos.server.ground;

/** What is told of a thing: of its own kind, and null for the others. */
record Parts(
        GroundView.FigureView figure,
        GroundView.RowView row,
        GroundView.FanView fan,
        GroundView.FencesView fences,
        GroundView.CourseView course,
        GroundView.YieldView sideways,
        GroundView.QuartersView quarters) {

    static final Parts NONE = new Parts(null, null, null, null, null, null, null);

    static Parts of(GroundView.FigureView figure) {
        return new Parts(figure, null, null, null, null, null, null);
    }

    static Parts of(GroundView.RowView row) {
        return new Parts(null, row, null, null, null, null, null);
    }

    static Parts of(GroundView.FanView fan) {
        return new Parts(null, null, fan, null, null, null, null);
    }

    static Parts of(GroundView.FencesView fences) {
        return new Parts(null, null, null, fences, null, null, null);
    }

    static Parts of(GroundView.CourseView course) {
        return new Parts(null, null, null, null, course, null, null);
    }

    static Parts of(GroundView.YieldView sideways) {
        return new Parts(null, null, null, null, null, sideways, null);
    }

    static Parts of(GroundView.QuartersView quarters) {
        return new Parts(null, null, null, null, null, null, quarters);
    }
}
