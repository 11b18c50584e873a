package gladtile.server.support;

import gladtile.core.Bounds;
import gladtile.formats.print.QrCode;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The address at which students join with a code, as a picture for their cameras. */
@RestController
class QrController {
    private static final MediaType SVG = new MediaType("image", "svg+xml");

    private final PublicAddress addresses;

    QrController(PublicAddress addresses) {
        this.addresses = addresses;
    }

    @GetMapping("/api/v1/qr/{code}")
    ResponseEntity<String> picture(@PathVariable String code, HttpServletRequest request) {
        Bounds.id("qr.code", code);
        String address = addresses.join(code, request);
        return ResponseEntity.ok().contentType(SVG).body(QrCode.of(address).svg());
    }
}
