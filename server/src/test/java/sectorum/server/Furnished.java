package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.util.HashMap;
import java.util.Map;
import javax.imageio.ImageIO;
import sectorum.server.json.StrictJson;
import tools.jackson.databind.JsonNode;

/**
 * A workshop with something of everything in it, each called by a word.
 *
 * @param owner who owns it
 * @param ids numbers of what is in it, by what they are of
 */
record Furnished(Http owner, Map<String, String> ids) {
    static Furnished of(URI base, String word) throws IOException {
        Map<String, String> ids = new HashMap<>();
        Http owner = Crew.owner(base, word + " works");
        String plan = StrictJson.mapper().writeValueAsString(Plans.swags(word + " gala"));
        long id = owner.post("/api/plans", plan).json().get("id").asLong();
        ids.put("plan", "" + id);
        ids.put(
                "revision",
                "" + owner.get("/api/plans/" + id).json().get("revision").asInt());
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        ids.put(
                "picture",
                owner.bytes("/api/plans/" + id + "/pictures?caption=" + word, jpeg.toByteArray())
                        .json()
                        .get("id")
                        .asString());
        JsonNode thing = owner.send(
                        "PUT",
                        "/api/cupboard",
                        "{\"kind\":\"paste\",\"name\":\"" + word
                                + " paste\",\"colour\":\"\",\"sizes\":{},\"dial\":\"\",\"stock\":500,\"pack\":0,\"notes\":\"\"}")
                .json();
        ids.put("thing", thing.path("id").asString("1"));
        JsonNode record = owner.post(
                        "/api/notebook/records",
                        "[{\"job\":\"" + word
                                + " job\",\"at\":\"2026-05-01T09:00\",\"subject\":\"dressing/swag\",\"name\":\"Swags\",\"task\":\"\",\"who\":\""
                                + word
                                + "\",\"note\":\"\",\"pictures\":[],\"aside\":[],\"waiting\":[],\"time\":{\"plain\":20,\"minutes\":30}}]")
                .json();
        ids.put("record", record.path(0).path("id").asString("1"));
        JsonNode swatch = owner.post(
                        "/api/swatches",
                        "{\"colour\":\"" + word
                                + "\",\"material\":\"fondant\",\"dose\":0.5,\"plain\":\"#ffffff\",\"now\":\"#ffeeee\",\"hours\":24,\"later\":\"#ffdddd\"}")
                .json();
        ids.put("swatch", swatch.path("id").asString("1"));
        owner.post("/api/people/invitations", Crew.body("name", word, "role", "helper"));
        JsonNode crew = owner.get("/api/people").json();
        ids.put("person", crew.at("/people/0/id").asString());
        ids.put("invitation", crew.at("/invitations/0/id").asString());
        owner.post(
                "/api/plans/" + id + "/shares", Crew.body("kind", "client", "name", word, "priced", false, "days", 3));
        ids.put(
                "share",
                owner.get("/api/plans/" + id + "/shares").json().at("/0/id").asString());
        assertThat(owner.get("/api/notebook?words=&skipped=0").text()).contains(word);
        assertThat(owner.get("/api/swatches").text()).contains(word);
        return new Furnished(owner, ids);
    }
}
