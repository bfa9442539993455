package strophos.server.harness;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.proxy.ParameterSetOperation;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Counts what goes to the database, at the data source: sessions and the yard's setting among it. */
public final class Statements implements BeanPostProcessor, QueryExecutionListener {

    private final ThreadLocal<Long> begun = new ThreadLocal<>();
    private List<Ran> heard = new ArrayList<>();
    private boolean isHearing;

    /**
     * One statement: its text, and how long the application waited for it.
     *
     * @param values how its places were filled, to be done again
     */
    public record Ran(String sql, double ms, List<ParameterSetOperation> values) {

        /** The planner's way, and what it met, as this role in this yard. */
        public String explained(Connection connection, String yard) throws SQLException {
            try (Statement statement = connection.createStatement()) {
                statement.execute("select set_config('strophos.yard', '" + yard + "', true)");
            }
            try (PreparedStatement explain =
                    connection.prepareStatement("explain (analyze, costs off, timing off, summary off) " + sql)) {
                for (ParameterSetOperation value : values) {
                    value.getMethod().invoke(explain, value.getArgs());
                }
                StringBuilder plan = new StringBuilder();
                try (ResultSet rows = explain.executeQuery()) {
                    while (rows.next()) {
                        plan.append(rows.getString(1)).append('\n');
                    }
                }
                return plan.toString();
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source
                ? ProxyDataSourceBuilder.create(source).listener(this).build()
                : bean;
    }

    @Override
    public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        begun.set(System.nanoTime());
    }

    @Override
    public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        double ms = (System.nanoTime() - begun.get()) / 1e6;
        synchronized (this) {
            // what runs beside the requests has threads of its own
            if (isHearing && Thread.currentThread().getName().contains("exec")) {
                queries.forEach(q -> heard.add(new Ran(
                        q.getQuery(),
                        ms,
                        q.getParametersList().isEmpty()
                                ? List.of()
                                : q.getParametersList().get(0))));
            }
        }
    }

    /** What is asked of the database meanwhile. */
    public <T> List<Ran> during(Supplier<T> request) {
        synchronized (this) {
            heard = new ArrayList<>();
            isHearing = true;
        }
        request.get();
        synchronized (this) {
            isHearing = false;
            return List.copyOf(heard);
        }
    }
}
