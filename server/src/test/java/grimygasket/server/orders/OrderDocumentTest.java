package grimygasket.server.orders;

import static org.testng.Assert.assertEquals;

import grimygasket.report.Currency;
import grimygasket.report.Sender;
import grimygasket.server.orders.PartOrder.OrderedPart;
import java.io.StringReader;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.validation.SchemaFactory;
import javax.xml.xpath.XPathFactory;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.w3c.dom.bootstrap.DOMImplementationRegistry;
import org.w3c.dom.ls.DOMImplementationLS;
import org.w3c.dom.ls.LSResourceResolver;
import org.xml.sax.InputSource;

public class OrderDocumentTest {
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
    static Document valid(String xml) throws Exception {
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

    private static final Sender BUYER = new Sender(
            "Us",
            "1 Quay",
            "0100 200",
            "us@example.org",
            "GB 1",
            BigDecimal.ZERO,
            0,
            BigDecimal.TEN,
            new Currency("€", 2));

    private static Document order(String supplier, OrderedPart... lines) throws Exception {
        var order = new PartOrder(UUID.randomUUID(), 12, supplier, Instant.EPOCH, "Maren", false, List.of(lines));
        return valid(OrderDocument.of(order, LocalDate.EPOCH, "EUR", BUYER));
    }

    private static OrderedPart line(String number, String name, int ordered, @Nullable BigDecimal cost, String code) {
        return new OrderedPart(UUID.randomUUID(), number, name, ordered, ordered, null, null, cost, code);
    }

    @Test
    public void anOrderIsAsTheStandardHasItAndSaysWhatIsOrdered() throws Exception {
        var supplier = "Quay & <Trade> Counter";
        var order = order(
                supplier,
                line("UB-1", "Hose clip \"30 mm\"", 5, new BigDecimal("1.10"), "6291041500213"),
                line("UB-2", "Clip", 2, null, ""));
        assertEquals(said(order, "/Order/ID"), "12");
        assertEquals(said(order, "/Order/BuyerCustomerParty/Party/PartyName/Name"), "Us");
        assertEquals(said(order, "/Order/SellerSupplierParty/Party/PartyName/Name"), supplier);
        assertEquals(said(order, "/Order/OrderLine[1]/LineItem/Quantity"), "5");
        assertEquals(said(order, "/Order/OrderLine[1]/LineItem/Price/PriceAmount"), "1.10");
        assertEquals(said(order, "/Order/OrderLine[1]/LineItem/Item/StandardItemIdentification/ID"), "6291041500213");
        assertEquals(said(order, "/Order/OrderLine[2]/LineItem/Item/SellersItemIdentification/ID"), "UB-2");
        assertEquals(said(order, "/Order/OrderLine[2]/LineItem/Quantity"), "2");
    }

    @Test
    public void whatXmlCannotHoldIsLeftOut() throws Exception {
        var order = order("S", line("1\u0000", "a\u0001b <&>", 1, null, ""));
        assertEquals(said(order, "/Order/OrderLine/LineItem/Item/Name"), "ab <&>");
    }
}
