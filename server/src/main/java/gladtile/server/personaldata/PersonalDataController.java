package gladtile.server.personaldata;

import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.StaffService;
import gladtile.server.personaldata.PersonalDataStore.Subject;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What is known of a person: as one file, or erased. For administrators. */
@RestController
@RequestMapping("/api/v1/school/persons")
class PersonalDataController {
    private final PersonalData data;
    private final PersonArchive archive;
    private final StaffService staff;

    PersonalDataController(PersonalData data, PersonArchive archive, StaffService staff) {
        this.data = data;
        this.archive = archive;
        this.staff = staff;
    }

    /** @param classes the names of those they learn or teach in */
    record KnownPerson(UUID id, String name, CurrentUser.Role role, List<String> classes) {}

    /** @param rows how many there are */
    record KeptData(String title, int rows) {}

    /**
     * @param goes what is deleted @param stays what stays without telling who it was
     * @param handedOver what becomes another teacher's; an erasure has to say whose
     */
    record ErasurePreview(List<KeptData> goes, List<KeptData> stays, List<KeptData> handedOver) {}

    /** Students and staff whose names hold these words, by name, at most 50. */
    @GetMapping
    PagedList<KnownPerson> named(
            @AuthenticationPrincipal CurrentUser user, @RequestParam String named, @ParameterObject Paging paging) {
        Bounds.text("person.name", named, Bounds.PERSON_NAME);
        return PagedList.of(
                data.named(user, named.strip()).stream()
                        .map(one -> new KnownPerson(
                                one.id(),
                                one.name(),
                                CurrentUser.Role.valueOf(one.role().toUpperCase(java.util.Locale.ROOT)),
                                one.classes()))
                        .toList(),
                KnownPerson::id,
                paging);
    }

    /** Everything that is kept about somebody. */
    @GetMapping(value = "/{id}/archive", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> archive(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        Subject subject = data.find(user, id).orElseThrow(() -> Problem.notThere("person"));
        ZoneId zone = ZoneId.of(staff.school(user.schoolId()).orElseThrow().timeZone());
        data.handedOut(user, id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("person-" + id + ".zip")
                                .build()
                                .toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(out -> archive.write(user.schoolId(), subject, zone, out));
    }

    @GetMapping("/{id}/erasure")
    ErasurePreview preview(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        data.find(user, id).orElseThrow(() -> Problem.notThere("person"));
        PersonalData.Preview preview = data.preview(user, id);
        return new ErasurePreview(kept(preview.goes()), kept(preview.stays()), kept(preview.handedOver()));
    }

    private static List<KeptData> kept(List<PersonalData.Held> all) {
        return all.stream().map(one -> new KeptData(one.title(), one.rows())).toList();
    }

    /** For good. @param to who takes over activities and assignments; absent where there are none */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestParam(required = false) UUID to) {
        PersonalData.Outcome outcome = data.erase(user, id, to);
        if (outcome instanceof PersonalData.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message());
        }
        if (outcome instanceof PersonalData.NoneSuch) {
            throw Problem.notThere("person");
        }
    }
}
