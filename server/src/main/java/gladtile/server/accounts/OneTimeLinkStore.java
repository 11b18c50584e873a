package gladtile.server.accounts;

import static gladtile.tables.Tables.ONE_TIME_LINK;

import gladtile.tables.tables.records.OneTimeLinkRecord;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Links that are good once, in the database. */
@Repository
class OneTimeLinkStore {
    private final DSLContext db;

    OneTimeLinkStore(DSLContext db) {
        this.db = db;
    }

    void replace(byte[] hash, OneTimeLinkService.Link link) {
        db.deleteFrom(ONE_TIME_LINK)
                .where(
                        ONE_TIME_LINK.PURPOSE.eq(name(link.purpose())),
                        ONE_TIME_LINK.SCHOOL_ID.isNotDistinctFrom(link.schoolId()),
                        ONE_TIME_LINK.PERSON_ID.isNotDistinctFrom(link.personId()))
                .execute();
        db.insertInto(ONE_TIME_LINK)
                .set(ONE_TIME_LINK.TOKEN_HASH, hash)
                .set(ONE_TIME_LINK.PURPOSE, name(link.purpose()))
                .set(ONE_TIME_LINK.SCHOOL_ID, link.schoolId())
                .set(ONE_TIME_LINK.PERSON_ID, link.personId())
                .set(ONE_TIME_LINK.EXPIRES_AT, link.expiresAt())
                .execute();
    }

    Optional<OneTimeLinkService.Link> find(byte[] hash, OffsetDateTime now) {
        return db.selectFrom(ONE_TIME_LINK)
                .where(ONE_TIME_LINK.TOKEN_HASH.eq(hash), ONE_TIME_LINK.EXPIRES_AT.gt(now))
                .fetchOptional(OneTimeLinkStore::link);
    }

    Optional<OneTimeLinkService.Link> take(byte[] hash, OffsetDateTime now) {
        return db.deleteFrom(ONE_TIME_LINK)
                .where(ONE_TIME_LINK.TOKEN_HASH.eq(hash), ONE_TIME_LINK.EXPIRES_AT.gt(now))
                .returning()
                .fetchOptional(OneTimeLinkStore::link);
    }

    void forget(UUID schoolId, UUID personId) {
        db.deleteFrom(ONE_TIME_LINK)
                .where(ONE_TIME_LINK.SCHOOL_ID.eq(schoolId), ONE_TIME_LINK.PERSON_ID.eq(personId))
                .execute();
    }

    void sweep(OffsetDateTime now) {
        db.deleteFrom(ONE_TIME_LINK).where(ONE_TIME_LINK.EXPIRES_AT.le(now)).execute();
    }

    private static String name(OneTimeLinkService.Purpose purpose) {
        return purpose.name().toLowerCase(Locale.ROOT);
    }

    private static OneTimeLinkService.Link link(OneTimeLinkRecord row) {
        return new OneTimeLinkService.Link(
                OneTimeLinkService.Purpose.valueOf(row.getPurpose().toUpperCase(Locale.ROOT)),
                row.getSchoolId(),
                row.getPersonId(),
                row.getExpiresAt());
    }
}
