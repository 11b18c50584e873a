package gladtile.server.support;

import java.net.URI;
import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What is set from outside.
 *
 * @param web the folder of the built front end, with the picture library in it
 * @param schoolBytes how many bytes the files of one school may take; 20 GB unless set
 * @param address under which students reach this server, such as {@code https://tiles.school.example}; absent where
 *     it is reached by its own name or number
 * @param data the folder that all data lie in; absent where backups are made by others
 * @param backup the command that makes backups; absent where they are made by others
 * @param demo whether the demo school is loaded into an empty database
 */
@ConfigurationProperties("glad")
public record GladProperties(
        Path web,
        URI address,
        Path data,
        Path backup,
        @DefaultValue("false") boolean demo,
        @DefaultValue("21474836480") long schoolBytes) {}
