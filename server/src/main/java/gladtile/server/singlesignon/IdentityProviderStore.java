package gladtile.server.singlesignon;

import static gladtile.tables.Tables.IDENTITY_PROVIDER;
import static gladtile.tables.Tables.LINKED_IDENTITY;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The identity provider of a school, and who is who there, in the database. */
@Repository
class IdentityProviderStore {
    private final DSLContext db;

    IdentityProviderStore(DSLContext db) {
        this.db = db;
    }

    /** Whose an account elsewhere is. */
    record Linked(UUID schoolId, UUID personId) {}

    Optional<IdentityProvider> find(UUID schoolId) {
        return db.selectFrom(IDENTITY_PROVIDER)
                .where(IDENTITY_PROVIDER.SCHOOL_ID.eq(schoolId))
                .fetchOptional(row -> new IdentityProvider(
                        row.getSchoolId(), row.getName(), row.getIssuer(), row.getClientId(), row.getClientSecret()));
    }

    /** The only one of this installation; empty where there is none, or several. */
    Optional<IdentityProvider> only() {
        List<UUID> two = db.select(IDENTITY_PROVIDER.SCHOOL_ID)
                .from(IDENTITY_PROVIDER)
                .limit(2)
                .fetch(IDENTITY_PROVIDER.SCHOOL_ID);
        return two.size() == 1 ? find(two.get(0)) : Optional.empty();
    }

    void set(IdentityProvider one) {
        db.insertInto(IDENTITY_PROVIDER)
                .set(IDENTITY_PROVIDER.SCHOOL_ID, one.schoolId())
                .set(IDENTITY_PROVIDER.NAME, one.name())
                .set(IDENTITY_PROVIDER.ISSUER, one.issuer())
                .set(IDENTITY_PROVIDER.CLIENT_ID, one.clientId())
                .set(IDENTITY_PROVIDER.CLIENT_SECRET, one.clientSecret())
                .onConflict(IDENTITY_PROVIDER.SCHOOL_ID)
                .doUpdate()
                .set(IDENTITY_PROVIDER.NAME, one.name())
                .set(IDENTITY_PROVIDER.ISSUER, one.issuer())
                .set(IDENTITY_PROVIDER.CLIENT_ID, one.clientId())
                .set(IDENTITY_PROVIDER.CLIENT_SECRET, one.clientSecret())
                .execute();
    }

    void remove(UUID schoolId) {
        db.deleteFrom(IDENTITY_PROVIDER)
                .where(IDENTITY_PROVIDER.SCHOOL_ID.eq(schoolId))
                .execute();
    }

    Optional<Linked> linked(String issuer, String subject) {
        return db.selectFrom(LINKED_IDENTITY)
                .where(LINKED_IDENTITY.ISSUER.eq(issuer), LINKED_IDENTITY.SUBJECT.eq(subject))
                .fetchOptional(row -> new Linked(row.getSchoolId(), row.getPersonId()));
    }

    /** @return whether it was nobody's, or theirs already */
    boolean link(UUID schoolId, UUID personId, String issuer, String subject, OffsetDateTime now) {
        db.insertInto(LINKED_IDENTITY)
                .set(LINKED_IDENTITY.ISSUER, issuer)
                .set(LINKED_IDENTITY.SUBJECT, subject)
                .set(LINKED_IDENTITY.SCHOOL_ID, schoolId)
                .set(LINKED_IDENTITY.PERSON_ID, personId)
                .set(LINKED_IDENTITY.LINKED_AT, now)
                .onConflictDoNothing()
                .execute();
        return linked(issuer, subject)
                .filter(one -> one.personId().equals(personId))
                .isPresent();
    }

    Optional<OffsetDateTime> linkedAt(UUID schoolId, UUID personId) {
        return db.select(LINKED_IDENTITY.LINKED_AT)
                .from(LINKED_IDENTITY)
                .where(LINKED_IDENTITY.SCHOOL_ID.eq(schoolId), LINKED_IDENTITY.PERSON_ID.eq(personId))
                .orderBy(LINKED_IDENTITY.LINKED_AT)
                .limit(1)
                .fetchOptional(LINKED_IDENTITY.LINKED_AT);
    }

    /** @return whether there was one */
    boolean unlink(UUID schoolId, UUID personId) {
        return db.deleteFrom(LINKED_IDENTITY)
                        .where(LINKED_IDENTITY.SCHOOL_ID.eq(schoolId), LINKED_IDENTITY.PERSON_ID.eq(personId))
                        .execute()
                > 0;
    }
}
