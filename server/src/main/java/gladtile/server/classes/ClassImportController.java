package gladtile.server.classes;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.Problem;
import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Classes from a school's register: its files one by one, or packed together as the standard hands them out. */
@RestController
@RequestMapping(path = "/api/v1", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
class ClassImportController {
    private final ClassImportService registers;

    ClassImportController(ClassImportService registers) {
        this.registers = registers;
    }

    /** What the files would do; nothing is changed. */
    @PostMapping("/class-import-previews")
    ClassImportService.IntakePreview preview(
            @AuthenticationPrincipal CurrentUser user, @RequestParam List<MultipartFile> files) throws IOException {
        ClassImportService.Result result = registers.look(user, read(files));
        return ((ClassImportService.Looked) known(result)).preview();
    }

    @PostMapping("/class-imports")
    List<ClassImportService.TakenClass> take(
            @AuthenticationPrincipal CurrentUser user,
            @RequestParam List<MultipartFile> files,
            @RequestParam Set<String> classIds)
            throws IOException {
        ClassImportService.Result result = registers.take(user, read(files), classIds);
        return ((ClassImportService.Taken) known(result)).classes();
    }

    private static ClassImportService.Result known(ClassImportService.Result result) {
        if (result instanceof ClassImportService.Refused refused) {
            throw Problem.bound(
                    refused.bound(), Message.of("class-list.nothing-imported", "sentence", refused.message()));
        }
        return result;
    }

    private static Map<String, String> read(List<MultipartFile> files) throws IOException {
        Map<String, String> texts = new LinkedHashMap<>();
        int room = Bounds.REGISTER_BYTES;
        for (MultipartFile file : files) {
            byte[] bytes = file.getBytes();
            String name = String.valueOf(file.getOriginalFilename());
            boolean packed = bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3 && bytes[3] == 4;
            room = packed ? unpack(bytes, texts, room) : room - put(texts, name, bytes, room);
        }
        return texts;
    }

    /** @return how much room is left */
    private static int unpack(byte[] packed, Map<String, String> texts, int most) throws IOException {
        int room = most;
        int folders = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                // A little file can unpack to any size: no more is read than there is room for.
                byte[] bytes = zip.readNBytes(room + 1);
                if (entry.isDirectory()) {
                    // A folder has no bytes; one that says it has some is read all the same, so it counts.
                    room -= counted(bytes, room);
                    folders++;
                } else {
                    room -= put(texts, entry.getName(), bytes, room);
                }
                if (folders > Bounds.REGISTER_FILES) {
                    throw tooMuch();
                }
            }
        } catch (ZipException | EOFException broken) {
            throw Problem.bound("register.files", "The packed file is broken or cut off. Nothing was taken in.");
        }
        if (!isWhole(packed)) {
            throw Problem.bound("register.files", "The packed file is cut off. Nothing was taken in.");
        }
        return room;
    }

    /** A packed file ends with a list of what is in it (APPNOTE 4.3.16); reading from the front does not miss it. */
    private static boolean isWhole(byte[] packed) {
        int earliest = Math.max(0, packed.length - (1 << 16) - 22);
        for (int i = packed.length - 22; i >= earliest; i--) {
            if (packed[i] == 'P' && packed[i + 1] == 'K' && packed[i + 2] == 5 && packed[i + 3] == 6) {
                return true;
            }
        }
        return false;
    }

    private static int counted(byte[] bytes, int room) {
        if (bytes.length > room) {
            throw tooMuch();
        }
        return bytes.length;
    }

    private static Problem tooMuch() {
        return Problem.bound(
                "register.bytes",
                "A register has at most %d files with %d MB together. Nothing was taken in."
                        .formatted(Bounds.REGISTER_FILES, Bounds.REGISTER_BYTES / 1024 / 1024));
    }

    private static int put(Map<String, String> texts, String name, byte[] bytes, int room) {
        if (texts.size() >= Bounds.REGISTER_FILES) {
            throw tooMuch();
        }
        counted(bytes, room);
        try {
            texts.put(
                    name,
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .decode(ByteBuffer.wrap(bytes))
                            .toString());
        } catch (CharacterCodingException otherwise) {
            throw Problem.bound(
                    "register.encoding",
                    "“%s” is not in UTF-8, as the standard wants it. Nothing was taken in.".formatted(name));
        }
        return bytes.length;
    }
}
