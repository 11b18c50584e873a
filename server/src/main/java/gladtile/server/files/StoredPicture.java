package gladtile.server.files;

/** A picture that is kept. @param sha256 of its bytes, in small hexadecimal; its name from now on */
public record StoredPicture(String sha256, String mediaType, int width, int height) {}
