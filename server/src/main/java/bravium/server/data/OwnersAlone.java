package bravium.server.data;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/**
 * What children did is for nobody but the user that the server runs as: folders are 0700, files
 * 0600. Where the file system knows no such rights, nothing is done.
 */
public final class OwnersAlone {

  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");

  private OwnersAlone() {}

  private static boolean hasRights(Path path) {
    return path.getFileSystem().supportedFileAttributeViews().contains("posix");
  }

  /** Makes a file that is to be written soon, if it isn't there. */
  static void file(Path file) throws IOException {
    if (!Files.exists(file)) {
      Files.createFile(file);
    }
    restrict(file);
  }

  /** Makes a folder, if it isn't there. */
  public static void folder(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      Files.createDirectories(folder);
      restrict(folder);
    }
  }

  /** Takes everybody else's rights from a file or a folder. */
  public static void restrict(Path path) throws IOException {
    Set<PosixFilePermission> own = Files.isDirectory(path) ? FOLDER : FILE;
    if (hasRights(path) && !Files.getPosixFilePermissions(path).equals(own)) {
      Files.setPosixFilePermissions(path, own);
    }
  }

  /** The same for a folder and everything in it. */
  static void restrictAll(Path folder) throws IOException {
    if (!hasRights(folder)) {
      return;
    }
    Files.walkFileTree(
        folder,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult preVisitDirectory(Path inside, BasicFileAttributes attributes)
              throws IOException {
            restrict(inside);
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult visitFile(Path file, BasicFileAttributes attributes)
              throws IOException {
            if (attributes.isRegularFile()) {
              restrict(file);
            }
            return FileVisitResult.CONTINUE;
          }
        });
  }
}
