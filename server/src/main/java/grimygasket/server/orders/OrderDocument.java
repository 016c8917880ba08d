package grimygasket.server.orders;

import grimygasket.report.Sender;
import grimygasket.server.orders.PartOrder.OrderedPart;
import grimygasket.stock.Barcode;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.time.LocalDate;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/**
 * An order to one supplier as UBL, which most programs of suppliers read.
 *
 * @see <a href="https://docs.oasis-open.org/ubl/UBL-2.1.html">OASIS Universal Business Language 2.1</a>
 */
final class OrderDocument {
    private static final String UBL = "urn:oasis:names:specification:ubl:schema:xsd:";

    /** A piece, by UN/ECE Recommendation 20. */
    private static final String PIECE = "C62";

    /** The number of an article in trade, by the list of identifier schemes of ISO/IEC 6523. */
    private static final String TRADE_NUMBER = "0160";

    /** What XML cannot hold. */
    private static final String NOT_IN_XML = "[^\\t\\n\\r\\x20-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]";

    private final XMLStreamWriter xml;

    private OrderDocument(XMLStreamWriter xml) {
        this.xml = xml;
    }

    /**
     * @param day on which it was ordered, where the business works
     * @param currency of its prices, ISO 4217
     */
    static String of(PartOrder order, LocalDate day, String currency, Sender buyer) {
        var text = new StringWriter();
        try {
            var xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            new OrderDocument(xml).write(order, day, currency, buyer);
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return text.toString();
    }

    private void write(PartOrder order, LocalDate day, String currency, Sender buyer) throws XMLStreamException {
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("Order");
        xml.writeDefaultNamespace(UBL + "Order-2");
        xml.writeNamespace("cac", UBL + "CommonAggregateComponents-2");
        xml.writeNamespace("cbc", UBL + "CommonBasicComponents-2");
        say("UBLVersionID", "2.1");
        say("ID", Integer.toString(order.number()));
        say("IssueDate", day.toString());
        say("DocumentCurrencyCode", currency);
        in("BuyerCustomerParty", () -> in("Party", () -> party(buyer)));
        in("SellerSupplierParty", () -> in("Party", () -> in("PartyName", () -> say("Name", order.supplier()))));
        for (int i = 0; i < order.lines().size(); i++) {
            var number = Integer.toString(i + 1);
            var line = order.lines().get(i);
            in("OrderLine", () -> in("LineItem", () -> line(number, currency, line)));
        }
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void party(Sender buyer) throws XMLStreamException {
        in("PartyName", () -> say("Name", buyer.name()));
        if (!buyer.address().isBlank()) {
            in("PostalAddress", () -> {
                for (var line : buyer.address().strip().split("\\R")) {
                    in("AddressLine", () -> say("Line", line));
                }
            });
        }
        if (!buyer.taxNumber().isBlank()) {
            in("PartyTaxScheme", () -> {
                say("CompanyID", buyer.taxNumber());
                in("TaxScheme", () -> say("ID", "VAT"));
            });
        }
        if (!buyer.phone().isBlank() || !buyer.email().isBlank()) {
            in("Contact", () -> {
                sayIfAny("Telephone", buyer.phone());
                sayIfAny("ElectronicMail", buyer.email());
            });
        }
    }

    private void line(String number, String currency, OrderedPart line) throws XMLStreamException {
        say("ID", number);
        say("Quantity", Integer.toString(line.ordered()), "unitCode", PIECE);
        price(currency, line.cost());
        in("Item", () -> {
            say("Name", line.name());
            in("SellersItemIdentification", () -> say("ID", line.partNumber()));
            if (Barcode.isTradeNumber(line.code())) {
                in("StandardItemIdentification", () -> say("ID", line.code(), "schemeID", TRADE_NUMBER));
            }
        });
    }

    private void price(String currency, @Nullable BigDecimal cost) throws XMLStreamException {
        if (cost != null) {
            in("Price", () -> say("PriceAmount", cost.toPlainString(), "currencyID", currency));
        }
    }

    private interface Part {
        void write() throws XMLStreamException;
    }

    private void in(String element, Part part) throws XMLStreamException {
        xml.writeStartElement("cac:" + element);
        part.write();
        xml.writeEndElement();
    }

    private void sayIfAny(String element, String text) throws XMLStreamException {
        if (!text.isBlank()) {
            say(element, text);
        }
    }

    private void say(String element, String text) throws XMLStreamException {
        xml.writeStartElement("cbc:" + element);
        xml.writeCharacters(text.replaceAll(NOT_IN_XML, ""));
        xml.writeEndElement();
    }

    private void say(String element, String text, String attribute, String value) throws XMLStreamException {
        xml.writeStartElement("cbc:" + element);
        xml.writeAttribute(attribute, value);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }
}
