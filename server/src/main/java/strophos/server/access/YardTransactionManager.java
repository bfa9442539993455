package strophos.server.access;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Sets the yard of each transaction, for row level security. Without a viewer none is set, and yard tables refuse. */
@Component("transactionManager")
class YardTransactionManager extends JdbcTransactionManager {

    YardTransactionManager(DataSource dataSource) {
        super(dataSource);
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        super.doBegin(transaction, definition);
        YardScope.find().ifPresent(viewer -> {
            try {
                setYard(viewer);
            } catch (SQLException e) {
                doCleanupAfterCompletion(transaction);
                throw new CannotCreateTransactionException("The yard of the transaction could not be set.", e);
            }
        });
    }

    private void setYard(Viewer viewer) throws SQLException {
        ConnectionHolder holder = (ConnectionHolder) TransactionSynchronizationManager.getResource(obtainDataSource());
        Connection connection = holder.getConnection();
        try (PreparedStatement set = connection.prepareStatement(
                "select set_config('strophos.yard', ?, true), set_config('strophos.person', ?, true)")) {
            set.setString(1, viewer.yard().toString());
            set.setString(2, viewer.person().toString());
            set.execute();
        }
    }
}
