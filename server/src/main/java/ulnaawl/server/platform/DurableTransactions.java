package ulnaawl.server.platform;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Commits so that what was acknowledged survives a power cut: H2 writes each commit at once ({@code
 * WRITE_DELAY=0} in its address), and here the operating system is told to bring it to the disk
 * before anybody hears that it is saved. Nothing is begun that the disk has no room for.
 */
@Component
class DurableTransactions extends JdbcTransactionManager {

  private final transient HikariDataSource connections;
  private final transient RoomOnDisk room;

  DurableTransactions(HikariDataSource connections, RoomOnDisk room) {
    super(connections);
    this.connections = connections;
    this.room = room;
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    if (!definition.isReadOnly() && !room.isLeft()) {
      throw new NoRoom();
    }
    super.doBegin(transaction, definition);
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    try {
      super.doCommit(status);
    } catch (TransactionException e) {
      throw unsure(e);
    }
    if (status.isReadOnly()) {
      return;
    }
    Connection connection = DataSourceUtils.getConnection(connections);
    try (Statement statement = connection.createStatement()) {
      statement.execute("checkpoint sync");
    } catch (SQLException e) {
      throw unsure(e);
    } finally {
      DataSourceUtils.releaseConnection(connection, connections);
    }
  }

  @Override
  protected void doRollback(DefaultTransactionStatus status) {
    try {
      super.doRollback(status);
    } catch (TransactionException e) {
      // The connection is thrown away, which takes back whatever it had done; what went wrong
      // before stands in the way of an answer, not this.
      connections.getHikariPoolMXBean().softEvictConnections();
    }
  }

  /** The database has closed itself: whoever comes next opens it anew. */
  private NotOnDisk unsure(Exception cause) {
    connections.getHikariPoolMXBean().softEvictConnections();
    return new NotOnDisk(cause);
  }
}
