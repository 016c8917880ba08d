package grimygasket.server.orders;

import static org.testng.Assert.assertEquals;

import grimygasket.report.Currency;
import grimygasket.report.Sender;
import grimygasket.server.ServerTest;
import grimygasket.server.orders.Orders.ToOrder;
import java.io.StringReader;
import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.validation.SchemaFactory;
import javax.xml.xpath.XPathFactory;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.w3c.dom.bootstrap.DOMImplementationRegistry;
import org.w3c.dom.ls.DOMImplementationLS;
import org.w3c.dom.ls.LSResourceResolver;
import org.xml.sax.InputSource;

public class OrderDocumentTest extends ServerTest {
    private static final String ORDER = "/external/schemas/ubl21/maindoc/UBL-Order-2.1.xsd";

    /** Of the schemas that UBL's name without saying where they are. */
    private static final Map<String, String> ELSEWHERE = Map.of(
            "urn:un:unece:uncefact:data:specification:CoreComponentTypeSchemaModule:2", "CCTS_CCT_SchemaModule.xsd",
            "http://www.w3.org/2000/09/xmldsig#", "xmldsig-core-schema.xsd",
            "http://uri.etsi.org/01903/v1.3.2#", "XAdES01903v132-201601.xsd",
            "http://uri.etsi.org/01903/v1.4.1#", "XAdES01903v141-201601.xsd");

    private static LSResourceResolver resolver() throws Exception {
        var inputs =
                (DOMImplementationLS) DOMImplementationRegistry.newInstance().getDOMImplementation("LS 3.0");
        return (type, namespace, publicId, systemId, base) -> {
            var file = ELSEWHERE.get(namespace);
            if (file == null) {
                return null;
            }
            var input = inputs.createLSInput();
            var schema = OrderDocumentTest.class.getResource("/schemas/" + file);
            input.setSystemId(schema.toString());
            return input;
        };
    }

    /** Held to the schema of the standard. */
    private static Document valid(String xml) throws Exception {
        var schemas = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
        schemas.setResourceResolver(resolver());
        var parser = DocumentBuilderFactory.newInstance();
        parser.setNamespaceAware(true);
        var document = parser.newDocumentBuilder().parse(new InputSource(new StringReader(xml)));
        schemas.newSchema(OrderDocumentTest.class.getResource(ORDER))
                .newValidator()
                .validate(new DOMSource(document));
        return document;
    }

    private static String said(Document order, String path) throws Exception {
        var anywhere = path.replaceAll("([A-Za-z]+)(?=$|/|\\[)", "*[local-name()='$1']");
        return XPathFactory.newInstance().newXPath().evaluate(anywhere, order);
    }

    private static void put(Client lead, String number, String supplier, String code, int minimum) {
        var id = UUID.nameUUIDFromBytes(number.getBytes(StandardCharsets.UTF_8));
        assertEquals(
                lead.put("/api/parts/" + id, """
                        {"id": "%s", "number": "%s", "name": "Hose clip \\"30 mm\\"", "kind": "", "fits": "", "price": 2.50,
                         "cost": 1.10, "replaces": "", "supplier": "%s", "place": "", "minimum": %d, "code": "%s", "version": 0}
                        """.formatted(id, number, supplier, minimum, code))
                        .status(),
                200);
    }

    @Test
    public void anOrderIsAsTheStandardHasItAndSaysWhatIsWanted() throws Exception {
        var lead = signedIn();
        var supplier = "Quay & <Trade> Counter";
        put(lead, "UB-2", supplier, "", 2);
        put(lead, "UB-1", supplier, "6291041500213", 5);
        var order =
                valid(lead.get("/api/order-list.xml?supplier=" + URLEncoder.encode(supplier, StandardCharsets.UTF_8))
                        .response()
                        .body());
        assertEquals(said(order, "/Order/BuyerCustomerParty/Party/PartyName/Name"), "Tidewrack Appliance Care");
        assertEquals(said(order, "/Order/SellerSupplierParty/Party/PartyName/Name"), supplier);
        assertEquals(said(order, "/Order/OrderLine[1]/LineItem/Quantity"), "5");
        assertEquals(said(order, "/Order/OrderLine[1]/LineItem/Price/PriceAmount"), "1.10");
        assertEquals(said(order, "/Order/OrderLine[1]/LineItem/Item/StandardItemIdentification/ID"), "6291041500213");
        assertEquals(said(order, "/Order/OrderLine[2]/LineItem/Item/SellersItemIdentification/ID"), "UB-2");
        assertEquals(said(order, "/Order/OrderLine[2]/LineItem/Quantity"), "2");
        assertEquals(lead.get("/api/order-list.xml?supplier=nobody").kind(), "not-found");
    }

    @Test
    public void whatXmlCannotHoldIsLeftOut() throws Exception {
        var line = new ToOrder(UUID.randomUUID(), "1\u0000", "a\u0001b <&>", "S", 0, 1, 0, 0, 1, null, "");
        var buyer = new Sender("Us", "", "", "", "", BigDecimal.ZERO, 0, BigDecimal.TEN, new Currency("€", 2));
        var order = valid(OrderDocument.of("1", LocalDate.EPOCH, "EUR", buyer, "S", List.of(line)));
        assertEquals(said(order, "/Order/OrderLine/LineItem/Item/Name"), "ab <&>");
    }
}
