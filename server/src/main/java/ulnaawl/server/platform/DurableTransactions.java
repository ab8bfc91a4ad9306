package ulnaawl.server.platform;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Commits so that what was acknowledged survives a power cut: H2 writes each commit at once ({@code
 * WRITE_DELAY=0} in its address), and here the operating system is told to bring it to the disk
 * before anybody hears that it is saved.
 */
@Component
class DurableTransactions extends JdbcTransactionManager {

  DurableTransactions(DataSource data) {
    super(data);
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    super.doCommit(status);
    if (status.isReadOnly()) {
      return;
    }
    DataSource data = Objects.requireNonNull(getDataSource());
    Connection connection = DataSourceUtils.getConnection(data);
    try (Statement statement = connection.createStatement()) {
      statement.execute("checkpoint sync");
    } catch (SQLException e) {
      throw new NotOnDisk(e);
    } finally {
      DataSourceUtils.releaseConnection(connection, data);
    }
  }
}
